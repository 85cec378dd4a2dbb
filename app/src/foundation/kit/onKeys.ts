/**
 * Keys on the web, which React Native's types do not know; a handled key does nothing else.
 *
 * @param handlers by the key's name; told whether Shift is held
 */
export function onKeys(handlers: Record<string, (shift: boolean) => void>): object {
  return {
    onKeyDown: (event: KeyboardEvent) => {
      const handler = handlers[event.key];
      if (!handler) return;
      event.preventDefault();
      event.stopPropagation();
      handler(event.shiftKey);
    },
  };
}
