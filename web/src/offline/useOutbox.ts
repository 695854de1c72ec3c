import { useSyncExternalStore } from 'react';
import { outbox, type OutboxState } from './outbox';

export const useOutbox = (): OutboxState => useSyncExternalStore(outbox.watch, outbox.snapshot);
