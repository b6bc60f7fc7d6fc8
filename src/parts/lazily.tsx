import { createElement, lazy, Suspense, useState, type ComponentType } from 'react';
import { say } from '#words/parts/lazily';
import css from './lazily.module.css';

/** A view that is fetched when it is first shown. */
export type LazyView<Props extends object> = ComponentType<Props> & {
  /** Fetches it ahead: the server does so before it draws a page, so that nothing in it is drawn later by a script. */
  preload(): Promise<void>;
};

/** Makes a view that is fetched when it is first shown, and drawn at once wherever it is there already. */
export function lazily<Props extends object>(load: () => Promise<ComponentType<Props>>): LazyView<Props> {
  let ready: ComponentType<Props> | null = null;
  const fetchIt = async () => {
    ready = await load();
    return { default: ready };
  };
  const Later = lazy(fetchIt) as unknown as ComponentType<Props>;
  function View(props: Props) {
    // Chosen once: a view that arrives later must not take the place of the one that is being shown.
    const [Shown] = useState(() => ready ?? Later);
    return createElement(Shown, props);
  }
  return Object.assign(View, { preload: async () => void (ready ?? (await fetchIt())) });
}

/** Makes a part of a view that is fetched when it is first opened; until it is there its place says so. */
export function later<Props extends object>(load: () => Promise<ComponentType<Props>>): ComponentType<Props> {
  const Later = lazy(async () => ({ default: await load() })) as unknown as ComponentType<Props>;
  return (props: Props) => (
    <Suspense fallback={<p className={css['wait']}>{say.oneMoment}</p>}>
      {createElement(Later, props)}
    </Suspense>
  );
}
