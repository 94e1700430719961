import Link from 'next/link'

export default function NotFound() {
  return (
    <main style={{ maxWidth: 640, margin: '60px auto', padding: '0 20px', display: 'grid', gap: 14 }}>
      <h1>Not found</h1>
      <p>There is nothing at this address, or it belongs to another company.</p>
      <p>
        <Link href="/jobs">To the jobs</Link>
      </p>
    </main>
  )
}
