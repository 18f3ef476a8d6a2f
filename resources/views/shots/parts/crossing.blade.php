@php
    use Evrent\Core\Words\PlainText;
    $wrong = fn (string $field): string => implode(' ', (array) ($problems[$field] ?? []));
@endphp
<div id="crossing-shown">
    <form class="form-acts" method="get" action="{{ $page->shot->at('shots.crossing') }}" hx-get="{{ $page->shot->at('shots.crossing') }}"
        hx-target="#crossing-shown" hx-swap="outerHTML">
        <x-field id="crossing-pan" label="In the middle at pan" name="pan" unit="°" width="6ch" :value="$asked['pan']" :problem="$wrong('pan')" />
        <x-field id="crossing-metres" label="so far away" name="metres" unit="m" width="6ch" :value="$asked['metres']" :problem="$wrong('metres')" />
        <x-field id="crossing-line" label="crosses the frame’s" name="line" :value="$asked['line'] ?: 'middle'" :problem="$wrong('line')"
            :options="['left' => 'left edge', 'middle' => 'middle', 'right' => 'right edge']" />
        <x-field id="crossing-seconds" label="Real-time pass in" name="seconds" width="7ch" placeholder="as planned" :value="$asked['seconds']"
            :problem="$wrong('seconds')" />
        <button class="button">Tell when</button>
        <small class="quiet">Pan to the edge of the opening from where the first photo stands, and read the pan there.</small></form>
    @if ($crossings === [])<p class="nothing" role="status">It never crosses there.</p>@endif
    @if ($crossings)<ol class="plain-list" role="status">@foreach ($crossings as $one)<li>At <b>photo {{ PlainText::rounded($one['photo'], 1) }}</b>: the
        lapse at <b>{{ PlainText::fixed($one['lapseSeconds'], 2) }} s</b>, the pass at <b>{{ PlainText::fixed($one['passSeconds'], 2) }} s</b>.</li>
        @endforeach</ol>@endif
</div>
