import Image from 'next/image';

/** The still picture of a part; nothing stands for a part without one. */
export function Still({
  fileId,
  width,
  title,
}: {
  readonly fileId: string | null;
  readonly width: number;
  readonly title: string;
}) {
  if (fileId === null) return null;
  return (
    <Image
      className="still"
      src={`/api/part-files/${fileId}/still`}
      alt={title === '' ? '' : `Picture of ${title}`}
      width={width}
      height={(width * 3) / 4}
      unoptimized
    />
  );
}
