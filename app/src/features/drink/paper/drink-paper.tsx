import { PaperStream } from '../../../ui/paper/paper-stream';
import type { DrinkPaperView } from './drink-paper-view';

/** A drink on paper: steps to tick off, room to write what was read, and what is in a serving. */
export function DrinkPaper({ view }: { readonly view: DrinkPaperView }) {
  const { name, about, stream, stops, steps, inGlass, figuresTitle, figures, cautions, keeping, foot } = view;
  return (
    <>
      <h1>{name}</h1>
      <p className="about small">{about}</p>
      <PaperStream bands={stream} />
      {stops.map(({ title, text }) => (
        <p key={title} className="stop">
          <strong>{title}.</strong> {text}
        </p>
      ))}
      <h2>Steps</h2>
      <ol className="rows">
        {steps.map(({ id, title, details, notes }, index) => (
          <li key={id}>
            <span className="tick" />
            <span className="number">{index + 1}</span>
            <div className="said">
              <strong>{title}</strong>
              {details ? <p className="small">{details}</p> : null}
              {notes.map((note) => (
                <p key={note} className="small">
                  {note}
                </p>
              ))}
            </div>
            <span className="write" />
          </li>
        ))}
      </ol>
      {inGlass.length > 0 ? (
        <>
          <h2>In each glass</h2>
          <ul className="pairs">
            {inGlass.map((words, index) => (
              <li key={index}>{words}</li>
            ))}
          </ul>
        </>
      ) : null}
      <div className="columns">
        {figures.length > 0 ? (
          <section>
            <h2>{figuresTitle}</h2>
            <ul className="pairs">
              {figures.map(({ id, label, value }) => (
                <li key={id}>
                  <span>{label}</span>
                  <strong>{value}</strong>
                </li>
              ))}
            </ul>
          </section>
        ) : null}
        {keeping ? (
          <section>
            <h2>{keeping.title}</h2>
            <p>{keeping.text}</p>
          </section>
        ) : null}
        {cautions.map(({ title, text }) => (
          <section key={title}>
            <h2>{title}</h2>
            <p>{text}</p>
          </section>
        ))}
      </div>
      <p className="foot small">{foot}</p>
    </>
  );
}
