@php
    use Evrent\Core\Run\Take\EventWords;
    use Evrent\Core\Words\PlainText;
    $counts = $report->counts();
    $total = $report->state->schedule->photosTotal();
    $good = $report->goodPhotos();
    $isWhole = $good === $total;
@endphp
<x-layout is-of-takes :title="'Take of ' . $plan->title"
    :crumbs="[...$take->crumbs(), 'Take' => null]">
    <div class="page">
        <h1 class="sr-only">Take of {{ $plan->title }}</h1>
        <section class="verdict" data-works="{{ $isWhole ? 'yes' : 'no' }}"><x-icon :name="$isWhole ? 'circle-check' : 'triangle-alert'" />
            <p class="says"><strong>{{ ucfirst($take->inWords()) }}{{ $report->whyEnded() === null ? '.' : ": {$report->whyEnded()}" }}</strong>
                <span>{{ number_format($good) }} of {{ number_format($total) }} photos{{ isset($counts['missing']) ? ", {$counts['missing']} missing" : ''
                }}{{ isset($counts['spoilt']) ? ", {$counts['spoilt']} spoilt" : ''
                }}{{ isset($counts['late']) ? ", {$counts['late']} late" : '' }}{{ isset($counts['moved']) ? ", {$counts['moved']} out of place" : ''
                }}{{ isset($counts['wrong_exposure']) ? ", {$counts['wrong_exposure']} wrongly exposed" : ''
                }}{{ isset($counts['doubled']) ? ", {$counts['doubled']} doubled" : ''
                }}{{ isset($counts['uncertain']) ? ", {$counts['uncertain']} uncertain" : '' }}.</span></p>
            @if ($shot->takes()->count() > 1)<a class="button is-quiet" href="{{ $shot->at('takes.index') }}">Takes side by side</a>@endif</section>
        @include('takes.parts.strip')
        <div class="cards">
            <section class="panel figures" aria-labelledby="take-figures"><header class="panel-head"><h2 id="take-figures">What came of it</h2>
                <a class="button is-quiet" href="{{ $take->at('takes.log') }}"><x-icon name="download" /><span class="text">Log, JSON Lines</span></a>
                <a class="button is-quiet" href="{{ $take->at('takes.csv') }}"><x-icon name="download" /><span class="text">Photos, CSV</span></a></header>
                <dl>
                    <div><dt>Longest clean stretch</dt><dd>@if ($report->clean)<b>{{ $report->clean[0] }} to {{ $report->clean[1] }}</b>,
                        {{ PlainText::seconds($report->cleanClipSeconds) }} of clip @else none @endif</dd></div>
                    @if ($plan->timing->mode->hasClock())<div><dt>Latest photo</dt><dd><b>{{ PlainText::seconds($report->mostLateSeconds) }}</b> behind the
                        plan</dd></div>@endif
                    <div><dt>Rig</dt><dd>{{ $take->rig_address ?? 'none' }}</dd></div>
                    <div><dt>Camera</dt><dd>{{ $take->camera_address === '' ? 'on the trigger line alone' : $take->camera_address }}</dd></div>
                    @if ($take->reason)<div><dt>Started because</dt><dd>{{ $take->reason }}</dd></div>@endif
                    <div><dt>On the card</dt><dd>@if ($card)<a href="{{ $shot->at('photos.index') }}"><b>{{ number_format($card->there()) }}</b></a> of
                        {{ number_format($card->count()) }}{{ $card->reading->lastCopy()?->isGood() ? ', backed up' : ', not backed up (L6)'
                        }}@else <a href="{{ $shot->at('photos.index') . "?take={$take->id}" }}">not read yet</a>@endif</dd></div>
                    <div><dt>Ticked before</dt><dd>{{ count($take->preflight) }}</dd></div>
                </dl>
                @if ($report->lastPhoto() < $total - 1)<form method="post" action="{{ $take->at('takes.rest') }}" class="take-notes" id="the-rest">@csrf
                    <h3>Shoot the rest</h3>
                    @foreach ($take->rests as $rest)<p>Its rest is <a href="{{ $rest->at('shots.show') }}">{{ $rest->title() }}</a>.</p>@endforeach
                    <x-field id="rest-from" label="From photo" name="from" width="6ch" inputmode="numeric" :value="old('from') ?? $report->lastPhoto() + 1"
                        :problem="$errors->first('rest.from')" />
                    <p class="quiet">A shot of its own: the photos and the move that are left, with their intervals and exposures. Its clip follows on this.</p>
                    <button class="button"><x-icon name="copy" /><span class="text">Make a shot of the rest</span></button></form>@endif
                <form method="post" action="{{ $take->at('takes.update') }}" class="take-notes">@csrf @method('put')
                    <x-field id="take-rating" label="How it came out" name="rating" :value="(string) $take->rating"
                        :options="App\Models\Take::RATINGS" />
                    <x-field id="take-notes" label="Notes, and what was learnt" name="notes" type="textarea" :value="$take->notes" />
                    <button class="button">Save notes</button></form>
                <form method="post" action="{{ $take->at('takes.learn') }}" class="take-notes">@csrf
                    <h3>Keep what was learnt as a recipe</h3>
                    <x-field id="learn-name" label="Recipe, new or one there is" name="name" is-text width="24ch" list="recipe-names"
                        :problem="$errors->first('learn.name')" /><datalist id="recipe-names">@foreach ($recipes as $name)<option>{{ $name
                        }}</option>@endforeach</datalist>
                    <x-field id="learn-why" label="In a sentence" name="why" is-text width="36ch" :problem="$errors->first('learn.why')" />
                    <p class="quiet">It keeps this take’s interval, how long the shutter was open, and the clip that came of it.</p>
                    <button class="button"><x-icon name="bookmark" /><span class="text">Keep the recipe</span></button></form>
            </section>
            @include('takes.parts.findings')
            <section class="panel" aria-labelledby="take-events"><header class="panel-head"><h2 id="take-events">What happened</h2></header>
                <ol class="plain-list">@foreach ($report->events as $event)<li><span class="quiet">{{ PlainText::duration($event->seconds) }}</span>
                    {{ EventWords::of($event) }}</li>@endforeach</ol></section>
        </div>
        <section class="panel" aria-labelledby="take-trace"><header class="panel-head"><h2 id="take-trace">Planned, and where the rig really stood</h2></header>
            <div class="curves">@foreach ($plan->rig->axes as $axis)
                @php
                    $planned = $report->state->schedule->moves->positions[$axis->id];
                    $stood = $report->trace[$axis->id] ?? [];
                    $all = [...$planned, ...array_column($stood, 'position')];
                    [$low, $high] = [min($all), max($all)];
                @endphp
                <figure><figcaption><b>{{ $axis->id }}</b> <span class="quiet">{{ $settings->units->axisText($axis->kind, $low) }} to
                    {{ $settings->units->axisText($axis->kind, $high) }}</span></figcaption>
                    <svg class="plot" viewBox="0 {{ -$high }} {{ count($planned) }} {{ max($high - $low, 1e-6) }}" preserveAspectRatio="none" role="img"
                        aria-label="{{ $axis->id }} by photo, planned and actual"><g transform="scale(1 -1)">
                        <path class="line" data-side="left" d="M{{ collect($planned)->map(fn ($position, $n) => "{$n} " . round($position, 3))->join('L') }}" />
                        @if ($stood !== [])<path class="line trace-line"
                            d="M{{ collect($stood)->map(fn ($point) => ($point['place'] - 1) . ' ' . round($point['position'], 3))->join('L') }}"
                            />@endif</g></svg></figure>
            @endforeach</div></section>
        <form class="panel take-marks" method="post" action="{{ $take->at('takes.order') }}">@csrf<input type="hidden" name="order" value="mark">
            <h2>Mark photos</h2>
            <x-field id="mark-from" label="From" name="photo" width="6ch" inputmode="numeric" :problem="$errors->first('order.photo')" />
            <x-field id="mark-to" label="to" name="to" width="6ch" inputmode="numeric" :problem="$errors->first('order.to')" />
            <x-field id="mark-as" label="as" name="as" :options="['spoilt' => 'spoilt', 'good' => 'good after all']" />
            <x-field id="mark-why" label="Why" name="why" width="24ch" is-text />
            <button class="button">Mark photos</button></form>
        @include('clip.parts.files', ['page' => new App\Pages\ClipPage($shot, $take)])
        <section class="panel schedule" id="photos" aria-labelledby="photos-title">
            <header class="panel-head"><h2 id="photos-title">Photos</h2>
                <x-pager :rows="$rows" :url="$take->at('takes.show')" target="photos" label="Pages of photos" /></header>
            <div class="scrolls" tabindex="0" role="group" aria-label="Table of photos"><table class="table numbers">
                <thead><tr><th scope="col">Photo</th><th scope="col">Planned at</th><th scope="col">Triggered at</th><th scope="col">Late</th>
                    <th scope="col">What became of it</th><th scope="col">File</th>@if ($card)<th scope="col">On the card</th>@endif<th
                    scope="col">Why</th></tr></thead>
                <tbody>@foreach ($rows->items() as $number)@php $photo = $report->photos[$number] ?? null; @endphp
                    <tr @class(['is-short' => !in_array($photo['state']->value ?? '', ['good', 'triggered'], true)])><th scope="row">{{ $number }}</th>
                        <td>{{ isset($photo['planned']) ? PlainText::fixed($photo['planned'], 2) . ' s' : '–' }}</td>
                        <td>{{ isset($photo['actual']) ? PlainText::fixed($photo['actual'], 2) . ' s' : '–' }}</td>
                        <td>{{ isset($photo['late']) ? PlainText::fixed($photo['late'], 2) . ' s' : '–' }}</td>
                        <td>{{ $photo['state']->value ?? 'not reached' }}</td><td>{{ basename($photo['object'] ?? '–') }}</td>
                        @if ($card)<td>@if ($card->file($number) === null)missing @else<a href="{{ $card->reading->at('photo', number: $number) }}">{{
                            basename($card->file($number)) }}</a> {{ $card->marked($number) }}@endif</td>@endif
                        <td>{{ $photo['why'] ?? '' }}</td></tr>@endforeach</tbody></table></div>
        </section>
    </div>
</x-layout>
