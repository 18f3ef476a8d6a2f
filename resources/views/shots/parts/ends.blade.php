@php
    use Evrent\Core\Plan\EndsBy;
    $end = $page->plan->end;
    $ends = ['' => 'after its photos'] + collect(EndsBy::cases())->mapWithKeys(fn (EndsBy $by) => [$by->value => $by->label()])->all();
@endphp
<section class="panel needs-clock" aria-label="How it ends">
    <x-fold id="ends" title="How it ends" :says="$ends[$end?->by->value ?? ''] . ($page->plan->window === null ? '' : ', in hours of each day')">
    <div class="grid-fields">
        <x-choice pointer="/end/by" label="It ends" :value="$texts['/end/by']" :options="$ends" />
        <x-number pointer="/end/at" label="at" :value="$texts['/end/at']" :width="18" shown-label />
        <x-number pointer="/window/from" label="Each day from" :value="$texts['/window/from']" :width="14" shown-label />
        <x-number pointer="/window/until" label="until" :value="$texts['/window/until']" :width="14" shown-label />
        <x-edit :page="$page" edit="interval-fastest" class="is-quiet" id="interval-fastest">As fast as rig and camera can</x-edit>
    </div>
    @include('shots.parts.by-day')
    <small class="quiet">{{ $page->pins->isFastest ? 'The interval is as short as rig and camera can, until another is typed. ' : '' }}Until something ends
        it, there are as many photos as there is room for, and each axis goes on by its step from photo to photo. A time is such as 23:30, or 20 min before
        sunrise. Hours of each day, such as sunrise until 18:00, are for jobs over days: photos are numbered on across the nights.</small>
    </x-fold>
</section>
