'use client';
import { Image } from '@chakra-ui/react';
import { useEffect, useState } from 'react';

/** A picture that is not there yet is asked for again, so often and after so long, ms. */
const TRIES = 4;
const AGAIN_MS = 1500;

/** The still picture of a part; nothing stands for a part without one. One that is still on its way is waited for. */
export function Still({
  fileId,
  width,
  title,
}: {
  readonly fileId: string | null;
  readonly width: number;
  readonly title: string;
}) {
  const [tries, setTries] = useState(0);
  const [missing, setMissing] = useState(false);
  useEffect(() => {
    if (!missing || tries >= TRIES) return;
    const timer = setTimeout(() => {
      setMissing(false);
      setTries((n) => n + 1);
    }, AGAIN_MS);
    return () => clearTimeout(timer);
  }, [missing, tries]);
  if (fileId === null || missing) return null;
  return (
    <Image
      display="block"
      src={`/api/part-files/${fileId}/still${tries === 0 ? '' : `?try=${tries}`}`}
      alt={title === '' ? '' : `Picture of ${title}`}
      width={width}
      height={(width * 3) / 4}
      loading="lazy"
      onError={() => setMissing(true)}
    />
  );
}
