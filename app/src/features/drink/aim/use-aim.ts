import { useEffect, useMemo } from 'react';
import { useAnswers } from '../../../domain/workers/use-answers';
import { FAILURE_WORDS } from '../../../domain/workers/worker-client';
import { openAimClient } from './aim-client';
import { aimQuestion, type AimForm } from './aim-form';
import type { AimAnswer } from './answer-aim';

/** Doses for what is on the sheet, a moment behind it; or what is wrong with what is typed. */
export function useAim(form: AimForm): { readonly answer: AimAnswer | null; readonly problem: string | null } {
  const { answer, failure, ask } = useAnswers(openAimClient);
  const question = useMemo(() => aimQuestion(form), [form]);
  const problem = typeof question === 'string' ? question : null;
  useEffect(() => {
    if (typeof question !== 'string') ask(question);
  }, [ask, question]);
  return { answer, problem: problem ?? (failure && FAILURE_WORDS[failure]) };
}
