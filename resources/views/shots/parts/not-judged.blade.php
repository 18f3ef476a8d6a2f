{{-- What the verdict leaves out, one press each to add it. --}}
@php
    use Evrent\Core\Checks\NotChecked;
    $verdict = $page->report->verdict;
@endphp
@if ($verdict->notChecked !== [])
    <details class="not-judged" id="not-judged"><summary>{{ rtrim($verdict->coverage(), '.') }}</summary>
        <div class="not-judged-list"><p>Press one to add it.</p>
        @foreach ($verdict->notChecked as $one)
            @switch ($one)
                @case (NotChecked::Site)<a class="button is-quiet"
                    href="{{ route('shoots.show', $page->shot->shoot_id) }}#place">{{ ucfirst($one->label()) }}</a>@break
                @case (NotChecked::Start)<a class="button is-quiet" href="#f-start">{{ ucfirst($one->label()) }}</a>@break
                @case (NotChecked::Light)<x-edit :page="$page" edit="part-in" :with="['part' => 'light'] + $page->lightOfKit()" class="is-quiet"
                    id="tell-light" data-then-view="light">{{ ucfirst($one->label()) }}</x-edit>@break
                @case (NotChecked::Lens)<x-edit :page="$page" edit="optics-in" class="is-quiet" id="tell-lens"
                    data-then-view="frame">{{ ucfirst($one->label()) }}</x-edit>@break
                @case (NotChecked::Facing)<a class="button is-quiet" href="#f-rig-base-zero_bearing_deg">{{ ucfirst($one->label()) }}</a>@break
                @case (NotChecked::Cards)<x-edit :page="$page" edit="part-in" :with="['part' => 'storage']" class="is-quiet"
                    id="tell-cards" data-then-view="pack">{{ ucfirst($one->label()) }}</x-edit>@break
                @case (NotChecked::CameraPower)<x-edit :page="$page" edit="part-in" :with="['part' => 'power-camera']" class="is-quiet"
                    id="tell-camera-power" data-then-view="pack">{{ ucfirst($one->label()) }}</x-edit>@break
                @case (NotChecked::RigPower)<x-edit :page="$page" edit="part-in" :with="['part' => 'power-rig']" class="is-quiet"
                    id="tell-rig-power" data-then-view="pack">{{ ucfirst($one->label()) }}</x-edit>@break
            @endswitch
        @endforeach
        </div>
    </details>
@endif
