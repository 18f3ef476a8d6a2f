@php use Evrent\Core\Messages\Quantity; @endphp
<span id="exposures" class="keyed-field">@if ($page->plan->timing->exposure->isConstant())<x-number pointer="/timing/exposure_s"
    :label="__('shots.exposures.label')" :value="$texts['/timing/exposure_s']" :unit="__('common.seconds_unit')" :width="5" data-steps />@else<a class="keyed"
    href="#timing">{{ collect($page->plan->timing->exposure->keys)->map(fn ($key) => count($page->plan->timing->exposure->keys) > 4
    ? Words::say(Quantity::shutter($key['seconds'])) : Words::say(Quantity::exposure($key['seconds'])))
    ->pipe(fn ($all) => $all->count() > 4 ? collect([$all->first(), '…',
    $all->last()]) : $all)->join(' → ') }} s</a>@endif</span>
