<details class="panel kit" id="thresholds">
    <summary class="panel-head"><h2>From where on you are told</h2></summary>
    <div class="grid-fields">
        @foreach ([
            'clip_s' => ['Clip shorter than', 's'], 'crossing_s' => ['Crossing the frame in less than', 's'], 'settle_s' => ['Settling less than', 's'],
            'subject_step_share' => ['Subject steps over', '% of the frame'], 'blur_share' => ['Open for less than', '% of the interval'],
            'dragged_share' => ['Dragged from', '% of the interval'],
            'smear_px' => ['Smear over', 'px'], 'motor_step_px' => ['Motor step over', 'px'],
            'parallax_share' => ['Parallax under', '% of the frame'], 'crop_share' => ['Crop of more than', '% of the photo'],
            'light_stops' => ['Brightness out by over', 'stops'], 'trail_px' => ['Stars trail over', 'px'], 'horizon_px' => ['Horizon leans over', 'px'],
        ] as $field => [$label, $unit])
            <x-number :pointer="'/thresholds/' . $field" :label="$label" :value="$texts['/thresholds/' . $field]" :unit="$unit" :width="4" shown-label />
        @endforeach
    </div>
    <p class="nothing">An empty field takes the usual value again.</p>
</details>
