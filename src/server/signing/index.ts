/** Signing: a choice worked out once more on the server, frozen with all it rests on, and written. */
export { signDecision, type SignResult } from './sign';
