<details class="panel kit" id="thresholds">
    <summary class="panel-head"><h2>{{ __('shots.thresholds.title') }}</h2></summary>
    <div class="grid-fields">
        @foreach (App\Pages\Limits::FIELDS as $field => [$label, $unit])
            <x-number :pointer="'/thresholds/' . $field" :label="$label" :value="$texts['/thresholds/' . $field]" :unit="$unit" :width="4" shown-label />
        @endforeach
    </div>
    <p class="nothing">{{ __('shots.thresholds.hint') }}</p>
</details>
