@php use Evrent\Core\Words\PlainText; @endphp
<span id="intervals" class="keyed-field">@if ($page->plan->timing->interval->isConstant())<x-number pointer="/timing/interval_s"
    label="Interval in seconds" :value="$texts['/timing/interval_s']" unit="s" :width="5" data-steps />@else<a class="keyed"
    href="#timing">{{ collect($page->plan->timing->interval->keys)->map(fn ($key) => PlainText::rounded($key['seconds']))->join(' → ') }} s</a>@endif</span>
