import { Link } from '@/ui/parts/Link'

export default function Forbidden() {
  return (
    <main style={{ maxWidth: 640, margin: '60px auto', padding: '0 20px', display: 'grid', gap: 14 }}>
      <h1>Not yours to see</h1>
      <p>Only the owner and the office see this page. Ask them, or go on with your work.</p>
      <p>
        <Link href="/">To today’s work</Link>
      </p>
    </main>
  )
}
