import { useNavigate } from 'react-router';
import { Button } from '../../design/controls';

/** A line without any chord: what to do. */
export function NothingYet() {
  const navigate = useNavigate();
  return (
    <p>
      Nothing stands here yet. Type a line below, such as <b>I vi ii V7 I</b>, or take chords from the{' '}
      <Button onPress={() => void navigate('/key')}>Key bench</Button>
    </p>
  );
}
