// The mails Harvek writes: short, one link each, and what to do when one did not ask for it.

type Mail = { readonly subject: string; readonly text: string }

const mail = (subject: string, ...paragraphs: readonly string[]): Mail => ({ subject, text: paragraphs.join('\n\n') })

export const inviteMail = (name: string, firm: string, by: string, role: string, link: string): Mail =>
  mail(
    `${firm} asks you to join`,
    `${name},`,
    `${by} of ${firm} asks you to work with them in Harvek, as ${role}. Follow this link within seven days, and choose a password:`,
    link,
    'If you do not know them, do nothing: without the link nobody joins in your name.',
  )

export const resetMail = (name: string, link: string): Mail =>
  mail(
    'A new password for Harvek',
    `${name},`,
    'Somebody asked for a new password for this address. Within an hour it is chosen here:',
    link,
    'If it was not you, do nothing: your password stays as it is.',
  )

export const shareMail = (kind: 'offer' | 'record', name: string, firm: string, link: string, until: string): Mail =>
  kind === 'offer'
    ? mail(
        `${firm}: your door`,
        `${name || 'Good day'},`,
        `${firm} has drawn the doors you may choose among in your own opening, with what each costs in all. Look, choose and sign here, without an account, until ${until}:`,
        link,
        'Whoever has this link can read it and sign: pass it on only to whom you trust.',
      )
    : mail(
        `${firm}: the record of your door`,
        `${name || 'Good day'},`,
        `${firm} has put down what was found, fitted, sealed and tested, and what to keep up. Read it and sign for it here until ${until}:`,
        link,
        'Whoever has this link can read it and sign: pass it on only to whom you trust.',
      )

export const verifyMail = (name: string, link: string): Mail =>
  mail('Is this your address?', `${name},`, 'Follow this link, and you can sign in to Harvek:', link)
