{{-- Photos from the ends of the move in place of the finder's drawing. Their script comes when this is opened. --}}
<details class="panel kit backdrop" id="backdrop" data-at="{{ $page->shot->at('backdrops.index') }}" @if ($page->problems !== []) open @endif>
    <summary class="panel-head"><h2>{{ __('shots.backdrop.title') }}</h2></summary><div class="backdrop-body">
    <p class="quiet">{{ __('shots.backdrop.says') }}</p>
    @foreach (App\Models\Backdrop::ENDS as $end)
        @php $letter = $page->letter($end); $one = $page->kept[$end] ?? null; @endphp
        <div class="backdrop-of"><b class="peg">{{ $letter }}</b>
            @if ($one)<span class="red-by-night"><img
                src="{{ $page->at('show', $end) }}" alt="{{ __('shots.backdrop.yours', ['letter' => $letter]) }}" width="120" loading="lazy"></span><span
                class="quiet">{{ $page->says($one) }}, {{ $one->created_at->diffForHumans(['options' => Illuminate\Support\Carbon::JUST_NOW]) }}</span>@endif
            <span class="tools"><button type="button" class="button" data-keep="{{ $end }}" data-from="camera">{{ __('shots.backdrop.use_view',
                ['letter' => $letter]) }}</button>
                @if ($page->hasTested)<button type="button" class="button is-quiet" data-keep="{{ $end }}" data-from="check">{{ __('shots.backdrop.test',
                    ['letter' => $letter]) }}</button>@endif
                @if ($one)<x-act :action="$page->at('destroy', $end)" method="delete" icon="trash-2" class="is-quiet">{{ __('shots.backdrop.remove',
                    ['letter' => $letter]) }}</x-act>@endif</span>
            <form method="post" action="{{ $page->shot->at('backdrops.store') }}" enctype="multipart/form-data">@csrf<input type="hidden" name="end"
                value="{{ $end }}"><x-field :id="'backdrop-' . $end" :label="__('shots.backdrop.from_file', ['letter' => $letter])" name="photo" type="file"
                accept="image/jpeg" :problem="$page->problems[$end] ?? $errors->first('backdrop.' . $end . '.photo')" /><button
                class="button without-script">{{ __('shots.backdrop.upload') }}</button></form></div>
    @endforeach
    <button type="button" class="button" data-show-photos aria-pressed="false" @if ($page->kept === []) hidden @endif>{{
        __('shots.backdrop.show') }}</button></div>
</details>
