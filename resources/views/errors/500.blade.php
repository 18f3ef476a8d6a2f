@extends('errors.minimal')
@section('title', 'Something broke in Evrent')
@section('message', 'Your shots are safe: a change is saved whole or not at all. Details are in storage/logs.')
