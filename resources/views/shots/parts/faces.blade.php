{{-- Where the camera looks, and where the day's own things are: one press turns it to one. --}}
@php
    use Evrent\Core\Motion\AxisRole;
    use Evrent\Core\Plan\Plan;
    use Evrent\Core\Messages\Quantity;
    $hasPan = $page->plan->rig->axisFor(AxisRole::Pan) !== null;
    $arrows = $page->arrows();
@endphp
<section class="panel faces" aria-label="{{ __('shots.faces.title') }}">
    <x-number :pointer="Plan::FACING" :label="__('shots.faces.faces')" :value="$texts[Plan::FACING]" :unit="__('shots.faces.true')" :width="6" shown-label />
    <p class="quiet">{{ $hasPan ? (__('shots.faces.at_zero') . ' ') : '' }}{{ $page->plan->facing() === null ? __('shots.faces.none') : '' }}</p>
    @if ($arrows !== [])<x-presses :page="$page" id="face" edit="face" /><ul class="day-arrows" aria-label="{{ __('shots.faces.turn') }}">
        @foreach ($arrows as $arrow)<li><button class="button is-quiet" form="face" name="with[bearing]" id="face-{{ $loop->index }}"
            value="{{ Quantity::rounded($arrow['azimuth'], 1) }}"><svg class="day-arrow" viewBox="0 0 24 24" aria-hidden="true"
            style="rotate: {{ round($arrow['azimuth']) }}deg"><path d="M12 21V4M6 10l6-6 6 6" /></svg>{{ $arrow['label'] }}
            {{ $settings->clock($arrow['clock']) }}&nbsp;<b>{{ Quantity::rounded($arrow['azimuth'], 0) }}°</b></button></li>@endforeach
    </ul>@endif
</section>
