import { useKeys } from '../../app/useKeys';

const NEXT = ['ArrowRight', 'PageDown'];
const BACK = ['ArrowLeft', 'PageUp'];

/** Next and back by the keys of a keyboard, or of the remote that a presenter holds, which sends the same ones. */
export function useTurningKeys({ onNext, onBack }: { onNext: () => void; onBack: () => void }): void {
  useKeys((event) => {
    if (event.repeat) {
      return;
    }
    if (NEXT.includes(event.key)) {
      event.preventDefault();
      onNext();
    } else if (BACK.includes(event.key)) {
      event.preventDefault();
      onBack();
    }
  });
}
