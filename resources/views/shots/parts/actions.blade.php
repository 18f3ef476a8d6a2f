<section class="panel actions" aria-label="Do with this shot">
    @if ($presets->isNotEmpty())
        <form class="apply-preset" method="post" action="{{ $page->shot->at('shots.presets.apply') }}" data-live data-look-first>@csrf
            <input class="live-revision" type="hidden" name="revision" value="{{ $page->revision->id }}">
            <span class="number"><label for="preset">Start from a preset</label><span class="entry"><select id="preset" name="preset">
                @foreach ($presets->groupBy(fn ($preset) => $preset->kind->label()) as $kind => $group)<optgroup
                    label="{{ ucfirst($kind) }}">@foreach ($group as $preset)<option
                    value="{{ $preset->id }}">{{ $preset->name }}</option>@endforeach</optgroup>@endforeach
            </select></span></span>
            <button class="button">Apply</button></form>
    @endif
    <details class="more" @if ($errors->getBag('preset')->any()) open @endif>
        <summary class="button"><x-icon name="bookmark" /><span class="text">Keep as a preset</span></summary>
        <form method="post" action="{{ $page->shot->at('shots.presets.store') }}">@csrf
            <span class="number"><label for="preset-name">Name</label><span class="entry is-text"><input id="preset-name" name="name" type="text"
                style="--width: 26ch" value="{{ \App\Http\Typed::before('name') }}" aria-describedby="p-preset-name"></span><span class="problem"
                id="p-preset-name">{{ $errors->getBag('preset')->first('name') }}</span></span>
            <span class="number"><label for="preset-kind">What of it</label><span class="entry"><select id="preset-kind" name="kind">
            <option value="move">the move</option><option value="shot">the whole shot, but the rig</option></select></span></span>
            <span class="number"><label for="preset-note">Note</label><span class="entry is-text"><input id="preset-note" name="note" type="text"
                style="--width: 26ch" value="{{ \App\Http\Typed::before('note') }}"></span></span>
            <button class="button">Keep it</button></form>
    </details>
    <a class="button" href="{{ $page->shot->at('shots.history') }}"><x-icon name="history" /><span class="text">History and compare</span></a>
    <a class="button" href="{{ $page->shot->at('shots.schedule.csv') }}" download><x-icon name="download" /><span class="text">Schedule, CSV</span></a>
    <a class="button" href="{{ $page->shot->at('plan-files.show') }}" download><x-icon name="download" /><span class="text">Plan file</span></a>
    @include('shots.parts.rename', ['shot' => $page->shot, 'title' => $page->plan->title, 'class' => ''])
    <x-act :action="$page->shot->at('shots.duplicate')" icon="copy">Duplicate</x-act>
    @if ($run = $page->lastRun())<p class="quiet">Last dry run: <a href="{{ $run->at('runs.show') }}">{{ $run->created_at->diffForHumans() }}</a></p>@endif
</section>
