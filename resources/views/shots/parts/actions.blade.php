<section class="panel actions" aria-label="Do with this shot">
    @if ($presets->isNotEmpty())
        <form class="apply-preset" method="post" action="{{ $page->shot->at('shots.presets.apply') }}" data-live data-look-first>@csrf
            <input class="live-revision" type="hidden" name="revision" value="{{ $page->revision->id }}">
            <x-field id="preset" label="Start from a preset" name="preset" value="" :options="$presets->mapToGroups(
                fn ($preset) => [ucfirst($preset->kind->label()) => $preset])->map(fn ($group) => $group->pluck('name', 'id')->all())->all()" />
            <button class="button">Apply</button></form>
    @endif
    <details class="more" @if ($errors->has('preset.*')) open @endif>
        <summary class="button"><x-icon name="bookmark" /><span class="text">Keep as a preset</span></summary>
        <form method="post" action="{{ $page->shot->at('shots.presets.store') }}">@csrf
            <x-field id="preset-name" label="Name" name="name" width="26ch" is-text :problem="$errors->first('preset.name')" />
            <x-field id="preset-kind" label="What of it" name="kind" value="" :options="['move' => 'the move', 'shot' => 'the whole shot, but the rig']" />
            <x-field id="preset-note" label="Note" name="note" width="26ch" is-text />
            <button class="button">Keep it</button></form>
    </details>
    <a class="button" href="{{ $page->shot->at('shots.history') }}"><x-icon name="history" /><span class="text">History and compare</span></a>
    <a class="button" href="{{ $page->shot->at('shots.schedule.csv') }}" download><x-icon name="download" /><span class="text">Schedule, CSV</span></a>
    <a class="button" href="{{ $page->shot->at('plan-files.show') }}" download><x-icon name="download" /><span class="text">Plan file</span></a>
    @include('shots.parts.rename', ['shot' => $page->shot, 'title' => $page->plan->title, 'class' => ''])
    <x-act :action="$page->shot->at('shots.duplicate')" icon="copy">Duplicate</x-act>
    @if ($run = $page->lastRun())<p class="quiet">Last dry run: <a href="{{ $run->at('runs.show') }}">{{ $run->created_at->diffForHumans() }}</a></p>@endif
</section>
