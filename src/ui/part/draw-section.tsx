'use client';
import { useState } from 'react';
import { direction, type Vec } from '@/core/part-file/geometry';
import { cutExplanation } from '@/core/part-file/measured';
import { inUnitsOf } from '@/core/base/units';
import type { BodyFound, DrawFound } from '@/workers/part.protocol';
import { fixed, significant } from '../format';
import { useUnits } from '../preferences';
import { PartFigureButton } from './part-working';
import { DRAW_WORDS } from './words';

const words = (d: Vec): string => d.map((x) => fixed(x === 0 ? 0 : x, 2)).join(', ');
const same = (a: Vec, b: Vec): boolean => Math.abs(a[0] * b[0] + a[1] * b[1] + a[2] * b[2]) > 1 - 1e-6;
const SHOWN = 7;

/** The way the mould opens: the draws that were tried with their scores, and one typed by hand. */
export function DrawSection({
  draw,
  body,
  busy,
  onTurn,
}: {
  readonly draw: DrawFound;
  readonly body: BodyFound | null;
  readonly busy: boolean;
  readonly onTurn: (d: Vec) => void;
}) {
  const [units] = useUnits();
  const [text, setText] = useState('');
  const [bad, setBad] = useState<string | null>(null);
  const area = (mm2: number): string => {
    const shown = inUnitsOf(mm2 / 100, 'cm²', units) ?? { value: mm2 / 100, unit: 'cm²' };
    return `${significant(shown.value, 3)} ${shown.unit}`;
  };
  const tried = body?.draws.slice(0, SHOWN) ?? [];
  const u = draw.undercut;
  return (
    <div style={{ marginTop: 18 }}>
      <h2>
        The draw{' '}
        <span className="quiet">
          along {words(draw.direction)}:{' '}
          {u === null ? (
            'undercuts not known of an open surface'
          ) : u.area_mm2 === 0 ? (
            'nothing is trapped'
          ) : (
            <>
              <PartFigureButton figure="trapped">{area(u.area_mm2)}</PartFigureButton> trapped,{' '}
              <PartFigureButton figure="undercuts">{`${u.slides} ${u.slides === 1 ? 'slide' : 'slides'}`}</PartFigureButton>
              ,{' '}
              <PartFigureButton figure="passages">
                {`${u.cores + u.closedVoids} ${u.cores + u.closedVoids === 1 ? 'core' : 'cores'}`}
              </PartFigureButton>
            </>
          )}
        </span>
      </h2>
      <p className="small quiet" data-testid="draft-note">
        {area(draw.under1deg_mm2)} leans less than 1°, {area(draw.noDraft_mm2)} stands along the draw.
      </p>
      <table className="sheet-table" aria-label="Draws tried">
        <thead>
          <tr>
            <th>Direction</th>
            <th>From</th>
            <th className="num">Trapped</th>
            <th className="num">Slides</th>
            <th className="num">Cores</th>
            <th />
          </tr>
        </thead>
        <tbody>
          {tried.map((t) => (
            <tr key={words(t.direction)} aria-current={same(t.direction, draw.direction) ? 'true' : undefined}>
              <td className="num">{words(t.direction)}</td>
              <td className="small">{DRAW_WORDS[t.from]}</td>
              <td className="num">
                {t.slides === null && <span className="quiet">about </span>}
                {area(t.undercut_mm2)}
              </td>
              <td className="num">{t.slides ?? '–'}</td>
              <td className="num">{t.cores === null ? '–' : t.cores + (t.closedVoids ?? 0)}</td>
              <td>
                {same(t.direction, draw.direction) ? (
                  <span className="small quiet">the draw now</span>
                ) : (
                  <button
                    type="button"
                    className="textbtn dotted small"
                    disabled={busy}
                    aria-label={`Open along ${words(t.direction)}`}
                    onClick={() => onTurn(t.direction)}
                  >
                    open this way
                  </button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <form
        className="small"
        onSubmit={(e) => {
          e.preventDefault();
          try {
            const d = direction(
              'draw',
              text
                .split(/[\s,;]+/)
                .filter(Boolean)
                .map(Number),
            );
            setBad(null);
            onTurn(d);
          } catch {
            setBad(`Direction “${text}”: three numbers that are not all 0 are wanted, as 0, 0, 1.`);
          }
        }}
      >
        <label htmlFor="draw-typed">Another direction</label>{' '}
        <input
          id="draw-typed"
          className="cell-input num"
          style={{ width: 120 }}
          placeholder="x, y, z"
          value={text}
          aria-invalid={bad !== null}
          onChange={(e) => setText(e.target.value)}
        />{' '}
        <button type="submit" className="textbtn dotted" disabled={busy || text.trim() === ''}>
          open that way
        </button>
        {bad !== null && (
          <span className="bad" role="alert">
            {' '}
            {bad}
          </span>
        )}
      </form>
      <p className="small quiet">
        {(body?.cuts.length ?? 0) > 0 && <>{body?.cuts.map(cutExplanation).join('; ')}. </>}
        {u !== null && u.specks.count > 0 && (
          <>
            {u.specks.count} {u.specks.count === 1 ? 'speck' : 'specks'} of {area(u.specks.area_mm2)} in all{' '}
            {u.specks.count === 1 ? 'is' : 'are'} too small to need a slide.{' '}
          </>
        )}
        The best of those tried, not a proof. The hot line is where the halves part; it may be moved along walls that
        stand with the draw.
      </p>
    </div>
  );
}
