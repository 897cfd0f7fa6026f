import { useSyncExternalStore } from 'react';

const never = (): (() => void) => () => undefined;

/** Whether the page answers to hands: false in what the server sent, true once it has come to life in the browser. */
export const useReady = (): boolean =>
  useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
