import Link from 'next/link';

export default function NotFound() {
  return (
    <div className="section">
      <h1>Nothing stands at this address</h1>
      <p>
        The study may have been removed, or the address is mistyped. <Link href="/">To the list of parts</Link>.
      </p>
    </div>
  );
}
