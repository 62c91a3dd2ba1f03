/** What makes a part of a drawing a button, for mouse, finger and keyboard; nothing where there is nothing to press. */
export function pressable(press: (() => void) | undefined, label: string, pressed: boolean): React.SVGProps<SVGGElement> {
  if (!press) return {};
  return {
    className: 'cursor-pointer outline-offset-4',
    role: 'button',
    tabIndex: 0,
    'aria-label': label,
    'aria-pressed': pressed,
    onClick: press,
    onKeyDown: (event) => {
      if (event.key === 'Enter' || event.key === ' ') {
        event.preventDefault();
        press();
      }
    },
  };
}
