'use client';

import type { TextAreaRef } from 'antd/es/input/TextArea';
import { Button, Checkbox, Input, Modal, Select } from 'antd';
import { useCallback, useDeferredValue, useMemo, useRef, useState, type ReactNode } from 'react';
import type { LineProblem } from '@/core/formats/reading';
import type { AskedText, FoundInText, TextToRead } from '@/core/formats/read-text';
import { FileField, type FileFieldHandle } from '@/ui/file-field';
import { useFirstFocus } from '@/ui/use-first-focus';
import styles from './reading.module.css';
import { useReading } from './use-reading';

/** Something that was understood, as a line of the list. */
export interface UnderstoodLine {
  depth: number;
  label: string;
  /** Beside the label, in figures: a path, a value. */
  detail: string;
  /** A colour that it is of, as CSS. */
  swatch?: string;
}

interface ReadingDialogProps<K extends TextToRead['read'], T extends FoundInText[K]> {
  title: string;
  /** What can be pasted, in a sentence; it labels the field. */
  prompt: string;
  placeholder: string;
  /** The endings of files that can be opened. */
  accept: string;
  openLabel: string;
  /** The forms that are read; the first that a text looks like is taken unless one is chosen. */
  formats: readonly { id: string; name: string; looksLike(text: string): boolean }[];
  /** As what a text is to be read. */
  ask(format: string, text: string): AskedText<K>;
  /** What was understood but will not be all of what the text says. */
  losses?(found: readonly T[]): LineProblem[];
  describe(found: T, index: number, all: readonly T[]): UnderstoodLine;
  /** One of the things, and several, in words: `page`, `pages`. */
  nouns: [one: string, several: string];
  /** What is done with them, where they are not added: `Change`. */
  verb?: string;
  /** Whether each of them can be left out; what was not understood then stops nothing. */
  ticks?: boolean;
  /** The text that a file stands for, where it is not its own. */
  textOf?(file: File): Promise<string>;
  /** What is chosen besides, below the list. */
  children?(found: readonly T[]): ReactNode;
  /** Whether what is chosen besides is complete. */
  ready?: boolean;
  /** Takes it in; gives the reason when it is refused. */
  onAdd(found: readonly T[]): string | null;
  onClose(): void;
}

/** The most lines that are listed; more would only be scrolled past. */
const MOST_LISTED = 500;

/** The most characters that are shown to be changed: fields of more than that are slow. */
const MOST_SHOWN = 1_000_000;

function Problems({ label, problems }: { label: string; problems: readonly LineProblem[] }) {
  return (
    <ul className={styles.problems} aria-label={label} tabIndex={0}>
      {problems.slice(0, MOST_LISTED).map((problem) => (
        <li key={`${problem.line} ${problem.reason}`}>
          Line {problem.line}: {problem.reason}
        </li>
      ))}
    </ul>
  );
}

function Titled({ label, problems }: { label: string; problems: readonly LineProblem[] }) {
  return (
    <>
      <h2>{label}</h2>
      <Problems label={label} problems={problems} />
    </>
  );
}

/** A dialog that reads a text, shows line by line what it understood and what not, and only then takes it in. */
export function ReadingDialog<K extends TextToRead['read']>(props: ReadingDialogProps<K, FoundInText[K]>) {
  const { formats, nouns, ready = true } = props;
  const [text, setText] = useState('');
  const [chosenFormat, setChosenFormat] = useState<string | null>(null);
  const [leaveOut, setLeaveOut] = useState(false);
  const [refusal, setRefusal] = useState<string | null>(null);
  const [left, setLeft] = useState<ReadonlySet<FoundInText[K]>>(new Set());
  const file = useRef<FileFieldHandle>(null);
  const { field, afterOpenChange } = useFirstFocus<TextAreaRef>();
  const later = useDeferredValue(text);
  const format = chosenFormat ?? formats.find((each) => each.looksLike(later))!.id;
  const { ask, losses } = props;
  const asked = useCallback((wanted: string) => ask(format, wanted), [ask, format]);
  const { reading, of, seconds, stop } = useReading(later, asked);
  const { found, problems } = reading;
  const taken = useMemo(() => found.filter((each) => !left.has(each)), [found, left]);
  const lost = useMemo(() => losses?.(taken) ?? [], [losses, taken]);
  const enough = problems.length === 0 || leaveOut || props.ticks === true;
  const tick = (each: FoundInText[K], wanted: boolean) =>
    setLeft((before) => new Set(wanted ? [...before].filter((one) => one !== each) : [...before, each]));
  const countText = (count: number) => `${count} ${nouns[count === 1 ? 0 : 1]}`;
  const heading =
    text.trim() === ''
      ? 'What will be added'
      : seconds === null
        ? `${countText(found.length)} understood`
        : 'Reading';
  const add = () => {
    const reason = props.onAdd(taken);
    setRefusal(reason);
    if (reason === null) props.onClose();
  };

  return (
    <Modal
      title={props.title}
      open
      onCancel={props.onClose}
      width={920}
      centered
      afterOpenChange={afterOpenChange}
      okText={`${props.verb ?? 'Add'} ${countText(taken.length)}`}
      okButtonProps={{ disabled: taken.length === 0 || !enough || !ready || of !== text }}
      onOk={add}
    >
      <div className={styles.reading}>
        <div>
          <label htmlFor="reading-text">{props.prompt}</label>
          <Input.TextArea
            id="reading-text"
            ref={field}
            style={{ fontFamily: 'var(--figures)', fontSize: 12 }}
            value={text.slice(0, MOST_SHOWN)}
            readOnly={text.length > MOST_SHOWN}
            rows={16}
            placeholder={props.placeholder}
            onChange={(event) => setText(event.target.value)}
          />
          <div className={styles.from}>
            <Button onClick={() => file.current?.ask()}>{props.openLabel}</Button>
            {formats.length > 1 && (
              <Select
                aria-label="Read as"
                value={format}
                options={formats.map(({ id, name }) => ({ value: id, label: `read as ${name}` }))}
                popupMatchSelectWidth={false}
                onChange={setChosenFormat}
              />
            )}
          </div>
          <FileField
            ref={file}
            label="File to read"
            accept={props.accept}
            onFile={(chosen) => {
              setChosenFormat(null);
              void (props.textOf?.(chosen) ?? chosen.text()).then(setText);
            }}
          />
        </div>
        <div aria-live="polite">
          <h2>{heading}</h2>
          {seconds !== null && (
            <p className={styles.under}>
              <span>
                <span className="figures">{text.length.toLocaleString('en')}</span> characters, for{' '}
                <span className="figures">{Math.round(seconds)} s</span>
              </span>
              <Button size="small" onClick={stop}>
                Stop
              </Button>
            </p>
          )}
          {text.trim() === '' && (
            <p className="quiet">
              Paste on the left; what is understood of it shows here before anything is added.
            </p>
          )}
          {!props.ticks && problems.length > 0 && <Problems label="Problems" problems={problems} />}
          {found.length > 0 && (
            <ul
              className={props.ticks ? `${styles.found} ${styles.ticked}` : styles.found}
              aria-label={`${nouns[1]} understood`}
              tabIndex={0}
            >
              {found.slice(0, MOST_LISTED).map((each, index) => {
                const { depth, label, detail, swatch } = props.describe(each, index, found);
                const line = (
                  <>
                    {swatch && <span className={styles.swatch} style={{ background: swatch }} />}
                    {label} <span className="figures quiet">{detail}</span>
                  </>
                );
                return (
                  <li key={index} style={{ paddingInlineStart: depth * 16 }}>
                    {props.ticks ? (
                      <Checkbox
                        checked={!left.has(each)}
                        onChange={(event) => tick(each, event.target.checked)}
                      >
                        {line}
                      </Checkbox>
                    ) : (
                      line
                    )}
                  </li>
                );
              })}
              {found.length > MOST_LISTED && <li className="quiet">and {found.length - MOST_LISTED} more</li>}
            </ul>
          )}
          {props.ticks && problems.length > 0 && <Titled label="Not understood" problems={problems} />}
          {lost.length > 0 && <Titled label="Not as it says" problems={lost} />}
          {props.children?.(taken)}
          {!props.ticks && problems.length > 0 && found.length > 0 && (
            <Checkbox checked={leaveOut} onChange={(event) => setLeaveOut(event.target.checked)}>
              Leave out what was not understood ({problems.length}), and go on with the rest
            </Checkbox>
          )}
          {problems.length > 0 && !enough && found.length > 0 && (
            <p>Nothing is done until every line is right, or left out.</p>
          )}
          {refusal && (
            <p role="alert" className={styles.refusal}>
              {refusal}
            </p>
          )}
        </div>
      </div>
    </Modal>
  );
}
