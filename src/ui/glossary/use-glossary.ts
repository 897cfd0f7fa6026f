import { useEffect, useState } from 'react';
import { whenTouched } from '../late';

type Glossary = typeof import('@/core/catalogue/glossary');

let come: Glossary | null = null;

/** The glossary, once the page has been touched; null before. */
export function useGlossary(): Glossary | null {
  const [glossary, setGlossary] = useState<Glossary | null>(null);
  useEffect(() => {
    let left = false;
    const leave = whenTouched(() => {
      const take = (fetched: Glossary): void => {
        come = fetched;
        if (!left) setGlossary(fetched);
      };
      // Without it the words stand unexplained.
      if (come === null) import('@/core/catalogue/glossary').then(take, () => undefined);
      else take(come);
    });
    return () => {
      left = true;
      leave();
    };
  }, []);
  return glossary;
}
