/** What to do at each step, the number to meet, and what to check. In `{}` stands a figure of the trade, shown in the job’s unit. */
export type StepTexts = Readonly<Record<string, readonly [name: string, how: string, check: string]>>
