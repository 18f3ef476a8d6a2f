<dialog id="keys" class="panel keys" aria-labelledby="keys-title" x-ref="keys">
    <header class="panel-head"><h2 id="keys-title">Keys</h2><button type="button" class="button is-quiet" @click="closeKeys()"><x-icon name="x"
        /><span class="sr-only">Close</span></button></header>
    <dl>
        @foreach ([
            'Alt 1 … 6' => 'Frame, Time, Light, Pack, Run, Review',
            '← →' => 'photo before, photo after', 'Shift ← →' => 'ten photos', 'Home End' => 'first photo, last photo', '+ −' => 'zoom in, zoom out',
            '1' => 'zoom to this interval', '0' => 'the whole run', '[ ]' => 'earlier, later at this zoom',
            'Space' => 'play and pause the clip', 'L' => 'axes in lanes or over each other', 'N' => 'keyframe at this photo',
            'A B C …' => 'go to a keyframe: Alt with its letter', 'J' => 'jog by hand; then ← → fine, Shift coarse, ↑ ↓ the axis',
            'Alt Shift A, B …' => 'set that keyframe where the rig stands',
            'on a peg ← →' => 'to another photo (Shift: ten)', 'on a grip ↑ ↓' => 'axis up, down (Shift: coarse)',
            'P, Del' => 'on a peg: pass or stop, take it out', 'Esc' => 'leave a change that is only looked at', 'Ctrl Z' => 'undo (⌘ Z)',
            'Ctrl Shift Z' => 'redo (⌘ ⇧ Z)', 'F' => 'to the findings', 'T' => 'to the tightest photo', 'S' => 'to the sentence', 'R' => 'dry-run',
            '?' => 'this list',
        ] as $key => $does)<div><dt>{{ $key }}</dt><dd>{{ $does }}</dd></div>@endforeach
    </dl>
</dialog>
