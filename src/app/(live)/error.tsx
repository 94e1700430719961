'use client'

export default function ErrorPage({ reset }: { readonly error: Error; readonly reset: () => void }) {
  return (
    <main style={{ maxWidth: 640, margin: '60px auto', padding: '0 20px', display: 'grid', gap: 14 }}>
      <h1>This page could not be made</h1>
      <p>Either the database does not answer, or there is a fault in Harvek. Nothing that was stored is lost.</p>
      <p>
        <button type="button" onClick={reset} style={{ minHeight: 44, padding: '0 16px' }}>
          Try again
        </button>
      </p>
    </main>
  )
}
