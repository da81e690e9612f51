import Link from 'next/link';

export default function NotFound() {
  return (
    <main style={{ padding: 48 }}>
      <h1 style={{ fontSize: 20 }}>There is nothing here</h1>
      <p style={{ marginBlock: 8 }}>The site may have been removed, or the address has a mistake in it.</p>
      <Link href="/">To the list of sites</Link>
    </main>
  );
}
