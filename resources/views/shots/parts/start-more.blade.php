{{-- What a start asks for besides, by the plan: it changes with it. --}}
@php $take = fn (string $field) => $errors->first("take.{$field}"); @endphp
<x-part id="start-more" tag="div" class="grid-fields">
    @if ($page->plan->timing->mode === Evrent\Core\Timing\Mode::StopMotion)<x-field id="take-rest" :label="__('shots.start_more.rest')" name="rest" width="7ch"
        :placeholder="__('shots.start_more.by_hand')" :problem="$take('rest')" />@endif
    @if (!$page->report->verdict->works())<x-field id="take-reason" :label="__('shots.start_more.override')" name="reason" width="28ch" is-text
        :problem="$take('reason')" />@endif
</x-part>
