import { expect, test } from 'vitest';
import { hostAllowed, originAllowed } from './guard';

test('loopback and allowed hosts are answered, others are not', () => {
  expect(hostAllowed('127.0.0.1:3900', undefined)).toBe(true);
  expect(hostAllowed('localhost:3900', undefined)).toBe(true);
  expect(hostAllowed('pours.quillmere.example', undefined)).toBe(false);
  expect(hostAllowed('pours.quillmere.example', 'a.example, pours.quillmere.example')).toBe(true);
  expect(hostAllowed('127.0.0.1.evil.example', undefined)).toBe(false);
  expect(hostAllowed(null, 'x')).toBe(false);
});

test('writes come from our own pages or from no page', () => {
  expect(originAllowed('http://127.0.0.1:3900', 'same-origin', '127.0.0.1:3900')).toBe(true);
  expect(originAllowed('http://evil.example', null, '127.0.0.1:3900')).toBe(false);
  expect(originAllowed('http://127.0.0.1:3900', 'cross-site', '127.0.0.1:3900')).toBe(false);
  expect(originAllowed('null', null, '127.0.0.1:3900')).toBe(false);
  expect(originAllowed(null, null, '127.0.0.1:3900')).toBe(true);
});

test('under another name a write says where it comes from, with its scheme; names know no case', () => {
  const host = 'pours.quillmere.example';
  expect(hostAllowed('Pours.Quillmere.Example', host)).toBe(true);
  expect(hostAllowed('LOCALHOST:3900', undefined)).toBe(true);
  expect(originAllowed(null, null, host)).toBe(false);
  expect(originAllowed(null, 'same-origin', host)).toBe(true);
  expect(originAllowed(null, 'cross-site', host)).toBe(false);
  expect(originAllowed('https://pours.quillmere.example', 'same-origin', 'Pours.Quillmere.Example', 'https')).toBe(
    true,
  );
  expect(originAllowed('http://pours.quillmere.example', 'same-origin', host, 'https')).toBe(false);
  expect(originAllowed('ftp://pours.quillmere.example', null, host)).toBe(false);
});
