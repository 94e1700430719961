/** How long a password is, letters. */
export const PASSWORD_LEAST = 10
export const PASSWORD_MOST = 128
