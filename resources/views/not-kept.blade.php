@extends('errors.minimal')
@section('title', 'Not kept on this device')
@section('message', 'Evrent is not answering, and this page was not opened here before. Pages of the shoot that you had open last are kept: go back, '
    . 'or try again once Evrent runs.')
