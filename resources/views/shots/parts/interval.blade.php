{{-- One interval to scale. Starts and lengths come from the schedule; the styles place them. --}}
<div class="interval" x-cloak x-show="$store.run.mode !== 'stop_motion'" :style="'--span: ' + interval.span" :data-fits="$store.run.fits ? 'yes' : 'no'">
    <h3>{{ __('common.photo') }} <span x-text="$store.run.photo"></span>{{ __('shots.interval.interval') }} <b
        x-text="$store.run.seconds('interval')"></b> {{ __('shots.interval.scale') }} <b class="slack"
        x-text="$store.run.slackText"></b></h3>
    @foreach (App\Pages\IntervalBar::TRACKS as $track => $parts)
        <div class="track">
            <span @class(['track-name', 'needs-rig' => $track === 'rig'])>{{ __("app.interval_bar.{$track}") }}</span>
            @if ($track === 'rig')<span class="track-name needs-no-rig">{{ __('shots.interval.waits') }}</span>@endif
            <div class="bar" @if ($track === 'camera') x-ref="bar" @endif>
                <span class="bar-clip">
                @foreach ($parts as [$kind, $start, $length, $name])
                    <i class="segment" data-kind="{{ $kind }}" :style="$store.run.segment('{{ $start }}', '{{ $length }}')"></i>
                @endforeach
                @if ($track === 'rig')
                    <i class="segment" data-kind="slack" :style="$store.run.segment('required', 'slack')"
                        x-show="$store.run.fits && $store.run.value('slack') > 0"></i>
                @endif
                <i class="due" :style="'--from: ' + $store.run.value('interval')"></i>
                </span>
                @if ($track === 'camera')
                    <button type="button" class="what-if" data-what="exposure" role="slider" aria-label="{{ __('shots.interval.if_exposure') }}"
                        :aria-valuenow="$store.run.value('exposure')" :aria-valuetext="$store.run.seconds('exposure')" x-show="interval.canExpose"
                        :style="'--from: ' + $store.run.value('dark_start')" title="{{ __('shots.interval.if_exposure_label') }}"></button>
                    <button type="button" class="what-if" data-what="interval" role="slider" aria-label="{{ __('shots.interval.if_interval') }}"
                        :aria-valuenow="$store.run.value('interval')" :aria-valuetext="$store.run.seconds('interval')" x-show="interval.canSpace"
                        :style="'--from: ' + $store.run.value('interval')" title="{{ __('shots.interval.if_interval_label') }}"></button>
                @endif
            </div>
        </div>
    @endforeach
    <div class="legend-row">
        <ul class="legend" x-show="!interval.text">
            @foreach (array_merge(...array_values(App\Pages\IntervalBar::TRACKS)) as [$kind, $start, $length, $name])
                <li data-kind="{{ $kind }}" x-show="$store.run.value('{{ $length }}') > 0"><i class="swatch"
                    data-kind="{{ $kind }}"></i><span>{{ __($name) }}</span> <b x-text="$store.run.seconds('{{ $length }}')"></b></li>
            @endforeach
            <li data-kind="slack"><i class="swatch" data-kind="slack"></i><span>{{ __('shots.interval.slack') }}</span></li>
        </ul>
        <p class="what-if-acts" x-show="interval.text" x-cloak>
            <span x-text="interval.text"></span>
            <button type="button" class="button is-strong" @click="interval.keep()" x-text="interval.keepText"></button>
            <button type="button" class="button" @click="interval.putBack()">{{ __('shots.interval.reset') }}</button>
        </p>
    </div>
</div>
