import { withCommas } from '../format';

const texts = (root: Node): Node[] => {
  if (root.nodeType === Node.TEXT_NODE) return [root];
  const walk = document.createTreeWalker(root, NodeFilter.SHOW_TEXT);
  const found: Node[] = [];
  while (walk.nextNode()) found.push(walk.currentNode);
  return found;
};

/**
 * Shows commas between the thousands of all text on the page, now and as it changes: figures come from many hands
 * (the core, its workers, the server) with thin spaces, and only the screen knows the units of whoever reads it.
 * @param root whose text is shown so
 * @returns ends it, and puts the thin spaces back
 */
export function commaThousands(root: Element): () => void {
  const changed = new Map<Node, { readonly was: string; readonly shown: string }>();
  const show = (node: Node): void => {
    const was = node.nodeValue ?? '';
    const shown = withCommas(was);
    if (shown === was) return;
    changed.set(node, { was, shown });
    node.nodeValue = shown;
  };
  texts(root).forEach(show);
  const watch = new MutationObserver((changes) => {
    for (const { type, target, addedNodes, removedNodes } of changes) {
      for (const gone of removedNodes) for (const node of texts(gone)) if (!node.isConnected) changed.delete(node);
      for (const node of type === 'characterData' ? [target] : addedNodes) texts(node).forEach(show);
    }
  });
  watch.observe(root, { subtree: true, childList: true, characterData: true });
  return () => {
    watch.disconnect();
    for (const [node, { was, shown }] of changed) if (node.nodeValue === shown) node.nodeValue = was;
  };
}
