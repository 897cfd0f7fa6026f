'use client';
import { CloseButton, Dialog, Kbd, Portal, Table } from '@chakra-ui/react';

const KEYS: readonly (readonly [string, string])[] = [
  ['?', 'this sheet'],
  [
    'b · g · l · o · c · a · n · d',
    'brief, the part (its geometry), routes (the lanes), alloys, calendar, what is asked and what it costs, bench, decision',
  ],
  ['r', 'to the quantity rail'],
  ['← →', 'on the rail: a small step; Page Up, Page Down a large one; Home, End the ends'],
  ['↑ ↓ ← →', 'on the lanes: walk lanes and cells'],
  ['w or Enter', 'on a figure: its working'],
  ['Shift w', 'on a cell with two figures: the working of the smaller one'],
  ['h', 'on a figure that is drawn: how sure it is'],
  ['y', 'on a lane: every reason behind its verdict'],
  ['p', 'on a lane: pin it, differences are then told against it'],
  ['v', 'on a lane: its other variants'],
  ['u', 'SI or inch units'],
  ['m', 'light or dark'],
  ['Esc', 'close a sheet'],
];

/** Every shortcut, on one sheet. */
export function Shortcuts({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Dialog.Root open={open} onOpenChange={(e) => !e.open && onClose()} size="md">
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content>
            <Dialog.Header>
              <Dialog.Title>Keys</Dialog.Title>
            </Dialog.Header>
            <Dialog.CloseTrigger asChild>
              <CloseButton size="sm" aria-label="Close" />
            </Dialog.CloseTrigger>
            <Dialog.Body>
              <Table.Root size="sm">
                <Table.Body>
                  {KEYS.map(([key, what]) => (
                    <Table.Row key={key}>
                      <Table.Cell style={{ whiteSpace: 'nowrap' }}>
                        <Kbd>{key}</Kbd>
                      </Table.Cell>
                      <Table.Cell>{what}</Table.Cell>
                    </Table.Row>
                  ))}
                </Table.Body>
              </Table.Root>
            </Dialog.Body>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
