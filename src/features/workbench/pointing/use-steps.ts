import { useEffect } from 'react';
import type { Step } from '@/core/pointing/steps';
import { inField } from '@/ui/in-field';

const steps: Readonly<Record<string, Step>> = {
  ArrowUp: 'out',
  ArrowDown: 'in',
  ArrowLeft: 'before',
  ArrowRight: 'behind',
};

/** Alt with the arrows goes from what is selected to what it stands in, to what stands in it, and to what is before and behind it. */
export function useSteps(step: (step: Step) => void): void {
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const wanted = event.altKey ? steps[event.key] : undefined;
      if (wanted === undefined || event.defaultPrevented || inField(event.target)) return;
      event.preventDefault();
      step(wanted);
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [step]);
}
