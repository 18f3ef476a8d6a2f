{{-- Photos from the ends of the move in place of the finder's drawing. Their script comes when this is opened. --}}
<details class="panel kit backdrop" id="backdrop" data-at="{{ $page->shot->at('backdrops.index') }}" @if ($page->problems !== []) open @endif>
    <summary class="panel-head"><h2>Your own photos in the finder</h2></summary><div class="backdrop-body">
    <p class="quiet">In place of the drawing, seen from wherever the move goes: turned and zoomed exactly; moved along the slide as if all stood as far
        away as the subject, so what is nearer or farther is only about right.</p>
    @foreach (App\Models\Backdrop::ENDS as $end)
        @php $letter = $page->letter($end); $one = $page->kept[$end] ?? null; @endphp
        <div class="backdrop-of"><b class="peg">{{ $letter }}</b>
            @if ($one)<span class="red-by-night"><img
                src="{{ $page->at('show', $end) }}" alt="Your photo at {{ $letter }}" width="120" loading="lazy"></span><span
                class="quiet">{{ $page->says($one) }}, {{ $one->created_at->diffForHumans(['options' => Illuminate\Support\Carbon::JUST_NOW]) }}</span>@endif
            <span class="tools"><button type="button" class="button" data-keep="{{ $end }}" data-from="camera">What the camera sees, as
                {{ $letter }}</button>
                @if ($page->hasTested)<button type="button" class="button is-quiet" data-keep="{{ $end }}" data-from="check">The test photo at
                    {{ $letter }}</button>@endif
                @if ($one)<x-act :action="$page->at('destroy', $end)" method="delete" icon="trash-2" class="is-quiet">Remove
                    {{ $letter }}</x-act>@endif</span>
            <form method="post" action="{{ $page->shot->at('backdrops.store') }}" enctype="multipart/form-data">@csrf<input type="hidden" name="end"
                value="{{ $end }}"><x-field :id="'backdrop-' . $end" :label="'A photo at ' . $letter . ' from a file'" name="photo" type="file"
                accept="image/jpeg" :problem="$page->problems[$end] ?? $errors->first('backdrop.' . $end . '.photo')" /><button
                class="button without-script">Keep</button></form></div>
    @endforeach
    <button type="button" class="button" data-show-photos aria-pressed="false" @if ($page->kept === []) hidden @endif>Show them in the
        finder</button></div>
</details>
