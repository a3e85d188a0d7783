import { PaperStream } from '../../../ui/paper/paper-stream';
import type { BrewCardView } from './brew-card-view';

function Pairs({ title, lines }: { readonly title: string; readonly lines: BrewCardView['made'] }) {
  if (lines.length === 0) return null;
  return (
    <>
      <h2>{title}</h2>
      <ul className="pairs">
        {lines.map(({ id, words, beside }) => (
          <li key={id}>
            <span>{words}</span>
            <span>{beside}</span>
          </li>
        ))}
      </ul>
    </>
  );
}

/** A brew on a card, to be kept with its bottles. */
export function BrewCard({ view }: { readonly view: BrewCardView }) {
  const { name, about, stream, due, stops, warns, figures, made, readings, wentIn, tasted, note } = view;
  return (
    <>
      <h1>{name}</h1>
      <p className="about small">{about}</p>
      <PaperStream bands={stream} />
      {due ? (
        <p className="about">
          <strong>{due.title}.</strong> {due.text}
        </p>
      ) : null}
      {stops.map(({ title, text }) => (
        <p key={title} className="stop">
          <strong>{title}.</strong> {text}
        </p>
      ))}
      {warns.map((words) => (
        <p key={words} className="about small">
          {words}
        </p>
      ))}
      <Pairs title="What came" lines={figures} />
      <Pairs title="How it was made" lines={made} />
      <Pairs title="What was read off" lines={readings} />
      <Pairs title="What went into it" lines={wentIn} />
      <Pairs title="Tasted" lines={tasted} />
      {note ? (
        <>
          <h2>Note</h2>
          <p>{note}</p>
        </>
      ) : null}
    </>
  );
}
