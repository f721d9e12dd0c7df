import { CloseButton, Dialog, Portal } from '@chakra-ui/react';
import type { ReactNode } from 'react';

interface Props {
  title: ReactNode;
  onClose: () => void;
  children: ReactNode;
}

/** What is done on the shelf, opened over it by pressing what it is done to. */
export function ShelfDialog({ title, onClose, children }: Props) {
  return (
    <Dialog.Root open onOpenChange={(e) => !e.open && onClose()} scrollBehavior="inside" size="lg">
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content bg="ground" color="ink" borderRadius="4px">
            <Dialog.Header pb={1}>
              <Dialog.Title textStyle="title">{title}</Dialog.Title>
            </Dialog.Header>
            <Dialog.Body pb={6}>{children}</Dialog.Body>
            <Dialog.CloseTrigger asChild>
              <CloseButton size="lg" aria-label="Close" />
            </Dialog.CloseTrigger>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
