import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { ViewSwitch } from './view-switch';

const views = { net: 'Net', edges: 'Edges' };

function Shown({ onShow }: { onShow: (view: string) => void }) {
  const [view, setView] = useState<keyof typeof views>('net');
  return (
    <>
      <ViewSwitch
        views={views}
        shown={view}
        onShow={(next) => {
          onShow(next);
          setView(next);
        }}
      />
      <p>shows {view}</p>
    </>
  );
}

test('the pressed view is marked and shown, the other is not', () => {
  const onShow = jest.fn();
  render(<Shown onShow={onShow} />);
  const [net, edges] = screen.getAllByRole('button');
  expect(net).toHaveAttribute('aria-pressed', 'true');
  fireEvent.click(edges!);
  expect(onShow).toHaveBeenCalledWith('edges');
  expect(edges).toHaveAttribute('aria-pressed', 'true');
  expect(net).toHaveAttribute('aria-pressed', 'false');
  expect(screen.getByText('shows edges')).toBeInTheDocument();
});
