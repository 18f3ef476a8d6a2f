@php use Evrent\Core\Messages\Quantity; @endphp
<span id="intervals" class="keyed-field">@if ($page->plan->timing->interval->isConstant())<x-number pointer="/timing/interval_s"
    :label="__('shots.intervals.label')" :value="$texts['/timing/interval_s']" :unit="__('common.seconds_unit')" :width="5" data-steps />@else<a class="keyed"
    href="#timing">{{ collect($page->plan->timing->interval->keys)
        ->map(fn ($key) => Words::say(Quantity::rounded($key['seconds'])))->join(' → ') }} s</a>@endif</span>
