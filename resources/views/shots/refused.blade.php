{{-- The answer to a change that cannot be: only messages, so that what was typed and the last good plan stay. --}}
@include('shots.parts.problems', ['notes' => $notes, 'problems' => $problems])
