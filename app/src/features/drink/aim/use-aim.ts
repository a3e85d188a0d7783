import { useEffect, useRef, useState } from 'react';
import type { AnswerClient } from '../newest-answer';
import { openAimClient } from './aim-client';
import { aimQuestion, type AimForm } from './aim-form';
import type { AimAnswer, AimQuestion } from './answer-aim';

/** Doses for what is on the sheet, a moment behind it; or what is wrong with what is typed. */
export function useAim(form: AimForm): { readonly answer: AimAnswer | null; readonly problem: string | null } {
  const [answer, setAnswer] = useState<AimAnswer | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const client = useRef<AnswerClient<AimQuestion> | null>(null);
  const asked = useRef(0);
  useEffect(() => {
    const opened = openAimClient(setAnswer);
    client.current = opened;
    return () => opened.close();
  }, []);
  useEffect(() => {
    asked.current += 1;
    const question = aimQuestion(form, asked.current);
    setProblem(typeof question === 'string' ? question : null);
    if (typeof question !== 'string') client.current?.ask(question);
  }, [form]);
  return { answer, problem };
}
