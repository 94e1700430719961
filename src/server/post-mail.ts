import { createTransport, type Transporter } from 'nodemailer'

let transport: Transporter | null = null

/** Hands a mail to the installation’s mail server, `HARVEK_SMTP` as `smtp://host:port`. @throws when there is none or it does not take it. */
export async function postMail(body: string): Promise<void> {
  const server = process.env.HARVEK_SMTP
  if (!server) throw new Error('no mail server is set: HARVEK_SMTP')
  transport ??= createTransport(server, {
    connectionTimeout: 8000,
    greetingTimeout: 8000,
    socketTimeout: 8000,
  } as never)
  const { to, subject, text } = JSON.parse(body) as { to: string; subject: string; text: string }
  await transport.sendMail({
    from: process.env.HARVEK_MAIL_FROM ?? 'Harvek <harvek@example.invalid>',
    to,
    subject,
    text,
  })
}
