'use client';
import { CloseButton, Dialog, Heading, Kbd, Portal, SimpleGrid, Table } from '@chakra-ui/react';
import { Fragment } from 'react';
import { KEY_GROUPS } from './keys.data';

/** Every shortcut, in one dialog. */
export function Shortcuts({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Dialog.Root open={open} onOpenChange={(e) => !e.open && onClose()} lazyMount unmountOnExit>
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content maxW="46rem">
            <Dialog.Header>
              <Dialog.Title>Keyboard shortcuts</Dialog.Title>
            </Dialog.Header>
            <Dialog.CloseTrigger asChild>
              <CloseButton size="sm" aria-label="Close" />
            </Dialog.CloseTrigger>
            <Dialog.Body>
              <SimpleGrid columns={{ base: 1, md: 2 }} gap="5" alignItems="start">
                {KEY_GROUPS.map(([where, keys]) => (
                  <div key={where}>
                    <Heading as="h3">{where}</Heading>
                    <Table.Root size="sm">
                      <Table.Body>
                        {keys.map(([names, does]) => (
                          <Table.Row key={does}>
                            <Table.Cell width="9rem" whiteSpace="nowrap">
                              {names.map((name, i) => (
                                <Fragment key={name}>
                                  {i > 0 && ' '}
                                  <Kbd>{name}</Kbd>
                                </Fragment>
                              ))}
                            </Table.Cell>
                            <Table.Cell>{does}</Table.Cell>
                          </Table.Row>
                        ))}
                      </Table.Body>
                    </Table.Root>
                  </div>
                ))}
              </SimpleGrid>
            </Dialog.Body>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
