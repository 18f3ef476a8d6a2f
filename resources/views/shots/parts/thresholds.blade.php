<details class="panel kit" id="thresholds">
    <summary class="panel-head"><h2>{{ __('shots.thresholds.title') }}</h2></summary>
    <div class="grid-fields">
        @foreach (App\Pages\Limits::FIELDS as $field => $unit)
            <x-number :pointer="'/thresholds/' . $field" :label="App\Pages\Limits::label($field)" :value="$texts['/thresholds/' . $field]"
                :unit="App\Pages\Limits::unit($field)" :width="4" shown-label />
        @endforeach
    </div>
    <p class="nothing">{{ __('shots.thresholds.hint') }}</p>
</details>
