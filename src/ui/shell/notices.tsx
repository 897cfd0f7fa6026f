'use client';
import { Toaster as ChakraToaster, createToaster, Portal, Toast } from '@chakra-ui/react';

/** Short notices at the foot of the window; one may carry an act such as undo. */
export const notices = createToaster({ placement: 'bottom', pauseOnPageIdle: true, max: 3 });

export function Notices() {
  return (
    <Portal>
      <ChakraToaster toaster={notices} insetInline={{ mdDown: '4' }}>
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
