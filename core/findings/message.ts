/** What a finding says, and what to do about it. */
export interface Message {
  readonly say: string;
  readonly remedy: string;
}
