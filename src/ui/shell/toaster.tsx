'use client';
import { Toaster as ChakraToaster, createToaster, Portal, Toast } from '@chakra-ui/react';

/** Holds the notices that are shown. */
export const toaster = createToaster({ placement: 'bottom', pauseOnPageIdle: true, max: 3 });

/** The notices at the foot of the window. */
export function Toasts() {
  return (
    <Portal>
      <ChakraToaster toaster={toaster} insetInline={{ mdDown: '4' }}>
        {(toast) => (
          <Toast.Root width={{ md: 'md' }}>
            <Toast.Title>{toast.title}</Toast.Title>
            {toast.action && <Toast.ActionTrigger>{toast.action.label}</Toast.ActionTrigger>}
            <Toast.CloseTrigger aria-label="Close" />
          </Toast.Root>
        )}
      </ChakraToaster>
    </Portal>
  );
}
