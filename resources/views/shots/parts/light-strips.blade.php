{{-- Drawn by script, in time with the chart; the table of every photo has the numbers. --}}
<section class="panel light-strips" aria-labelledby="strips-title" x-show="$store.run.hasLight" x-cloak>
    <header class="panel-head"><h2 id="strips-title">{{ __('shots.light_strips.title') }}</h2><p class="readout"><span>{{ __('shots.light_strips.photo') }} <b
        x-text="$store.run.photo"></b></span></p></header>
    <div class="staircase">
        <div class="lane-names" aria-hidden="true"><p class="lane-name">{{ __('shots.light_strips.exposure') }} <small
            x-text="$store.run.lightWords.exposure"></small></p>
        <p class="lane-name">ISO <small x-text="$store.run.lightWords.iso"></small></p>
        <p class="lane-name">{{ __('shots.light_strips.brightness') }} <small x-text="$store.run.lightWords.error"></small></p></div>
        <div x-ref="lightPlot"><canvas x-ref="light" role="img"
            aria-label="{{ __('shots.light_strips.chart') }}"></canvas></div>
    </div>
</section>
