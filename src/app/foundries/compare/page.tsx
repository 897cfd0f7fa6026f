import { Text } from '@chakra-ui/react';
import type { Metadata } from 'next';
import { listFoundries } from '@/server/foundries';
import { CompareFoundries } from '@/ui/foundries/compare';

export const metadata: Metadata = { title: 'Two foundries' };
export const dynamic = 'force-dynamic';

type Props = { searchParams: Promise<{ a?: string; b?: string }> };

/** Two foundries side by side: those named, else the first two. */
export default async function Page({ searchParams }: Props) {
  const list = await listFoundries();
  const { a, b } = await searchParams;
  const left = list.find((f) => f.id === a) ?? list[0];
  const right = list.find((f) => f.id === b && f !== left) ?? list.find((f) => f !== left);
  if (left === undefined || right === undefined) return <Text mt="4">Two foundries are wanted: enter them first.</Text>;
  return <CompareFoundries list={list} a={left} b={right} today={new Date().toISOString().slice(0, 10)} />;
}
