<dialog id="keys" class="panel keys" aria-labelledby="keys-title" x-ref="keys">
    <header class="panel-head"><h2 id="keys-title">{{ __('shots.keys.title') }}</h2><button type="button" class="button is-quiet" @click="closeKeys()"><x-icon
        name="x"
        /><span class="sr-only">{{ __('shots.keys.close') }}</span></button></header>
    <dl>
        @foreach ([
            'Alt 1 … 6' => __('shots.keys.views'),
            '← →' => __('shots.keys.photo'), 'Shift ← →' => __('shots.keys.ten'), 'Home End' => __('shots.keys.ends'), '+ −' => __('shots.keys.zoom'),
            '1' => __('shots.keys.zoom_this'), '0' => __('shots.keys.whole'), '[ ]' => __('shots.keys.scroll'),
            __('shots.keys.space') => __('shots.keys.play'), 'L' => __('shots.keys.lanes'), 'N' => __('shots.keys.key'),
            'A B C …' => __('shots.keys.go'), 'J' => __('shots.keys.jog'),
            'Alt Shift A, B …' => __('shots.keys.set'),
            __('shots.keys.on_marker') => __('shots.keys.marker'), __('shots.keys.on_handle') => __('shots.keys.handle'),
            'P, Del' => __('shots.keys.marker_more'), __('shots.keys.esc') => __('shots.keys.leave'), 'Ctrl Z' => __('shots.keys.undo'),
            'Ctrl Shift Z' => __('shots.keys.redo'), 'F' => __('shots.keys.findings'), 'T' => __('shots.keys.tightest'), 'S' => __('shots.keys.sentence'),
                'R' => __('shots.keys.simulate'),
            '?' => __('shots.keys.list'),
        ] as $key => $does)<div><dt>{{ $key }}</dt><dd>{{ $does }}</dd></div>@endforeach
    </dl>
</dialog>
