{{-- What a start asks for besides, by the plan: it changes with it. --}}
@php $take = fn (string $field) => $errors->first("take.{$field}"); @endphp
<x-part id="start-more" tag="div" class="grid-fields">
    @if ($page->plan->timing->mode === Evrent\Core\Timing\Mode::StopMotion)<x-field id="take-rest" label="Rest before each photo" name="rest" width="7ch"
        placeholder="by hand" :problem="$take('rest')" />@endif
    @if (!$page->report->verdict->works())<x-field id="take-reason" label="Why it is shot though it falls short" name="reason" width="28ch" is-text
        :problem="$take('reason')" />@endif
</x-part>
